create table access_entry (
    id uuid primary key,
    setting_id uuid not null references setting,
    person_id uuid not null,
    person_name text not null,
    role text not null,
    method text not null,
    route text not null,
    subject_id uuid,
    status int not null,
    at timestamptz not null
);

create index access_entry_by_time on access_entry (setting_id, at desc);

create table history_entry (
    id uuid primary key,
    setting_id uuid not null references setting,
    subject_kind text not null,
    subject_id uuid not null,
    person_id uuid not null,
    person_name text not null,
    field text not null,
    before text not null,
    at timestamptz not null
);

create index history_entry_by_subject on history_entry (setting_id, subject_id, at desc);
