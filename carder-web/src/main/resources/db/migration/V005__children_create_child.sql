create table child (
    id uuid primary key,
    setting_id uuid not null references setting,
    version int not null,
    room_id uuid not null references room,
    given_name text not null check (length(given_name) between 1 and 80),
    born_on date not null,
    peg_mark text not null,
    mouthing boolean not null,
    allergens varchar[] not null,
    allergy_note text not null,
    home_languages text not null,
    interests text not null,
    consent_own_journal boolean not null,
    consent_others_journals boolean not null,
    consent_display boolean not null,
    key_person_id uuid references account,
    days_attended int[] not null,
    unique (room_id, peg_mark)
);

create index child_by_room on child (setting_id, room_id);

create table carer (
    id uuid primary key,
    setting_id uuid not null references setting,
    child_id uuid not null references child,
    name text not null check (length(name) between 1 and 120),
    email text not null,
    account_id uuid references account
);

create index carer_by_child on carer (setting_id, child_id);
create index carer_by_account on carer (account_id);
