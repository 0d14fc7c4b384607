create table device (
    id uuid primary key,
    setting_id uuid not null references setting,
    version int not null,
    name text not null,
    last_person text not null,
    first_contact_at timestamptz not null,
    last_contact_at timestamptz not null,
    unsent int not null check (unsent >= 0),
    clock_offset_ms bigint not null,
    revoked_at timestamptz,
    revoked_by text,
    wiped_at timestamptz
);

create index device_by_setting on device (setting_id, last_contact_at desc);

-- What the setting's own policy says about stepping in; one row at most.
create table step_in_policy (
    id uuid primary key,
    setting_id uuid not null unique references setting,
    version int not null,
    words text not null check (length(words) <= 1000),
    changed_by text not null
);
