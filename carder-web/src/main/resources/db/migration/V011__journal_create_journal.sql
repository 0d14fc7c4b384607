create table journal (
    id uuid primary key,
    setting_id uuid not null references setting,
    version int not null,
    child_id uuid not null references child,
    starts_on date not null,
    ends_on date not null,
    greeting text not null,
    at_home text not null,
    compiled_by text not null,
    compiled_at timestamptz not null,
    approved_by text,
    approved_at timestamptz,
    check (ends_on >= starts_on),
    check ((approved_by is null) = (approved_at is null))
);

create index journal_by_setting on journal (setting_id, compiled_at desc);
create index journal_by_child on journal (setting_id, child_id);

create table journal_entry (
    id uuid primary key,
    setting_id uuid not null references setting,
    journal_id uuid not null references journal,
    observation_id uuid not null references observation,
    position int not null,
    words text not null,
    photo_shown boolean not null,
    because text not null,
    unique (journal_id, observation_id)
);

create index journal_entry_by_journal on journal_entry (setting_id, journal_id);
