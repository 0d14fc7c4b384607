alter table security_entry add column detail text not null default '';

-- The id is the setting's. Settings of before had no borders; new ones have them until their manager takes them away.
create table room_policy (
    id uuid primary key references setting,
    setting_id uuid not null references setting,
    open_rooms boolean not null,
    check (id = setting_id)
);

insert into room_policy select id, id, true from setting;

-- Somebody is needed in a room that they do not work in, and said why.
create table room_visit (
    id uuid primary key,
    setting_id uuid not null references setting,
    account_id uuid not null references account,
    room_id uuid not null references room,
    reason text not null,
    began_at timestamptz not null,
    ends_at timestamptz not null
);

create index room_visit_by_account on room_visit (setting_id, account_id, ends_at);
