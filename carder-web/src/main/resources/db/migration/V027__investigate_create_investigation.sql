create table investigation (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    title text not null check (length(title) between 1 and 120),
    question text not null check (length(question) <= 500),
    expected_code text not null,
    unit text not null check (length(unit) <= 20),
    begun_on date not null,
    every_days int not null check (every_days between 1 and 5),
    weeks int not null check (weeks between 1 and 6),
    begun_by text not null,
    ended_on date
);

create index investigation_by_room on investigation (setting_id, room_id, begun_on);

create table investigation_reading (
    id uuid primary key,
    setting_id uuid not null references setting,
    investigation_id uuid not null references investigation,
    on_day date not null,
    measured numeric(9, 2),
    note text not null check (length(note) <= 500),
    read_by text not null,
    read_at timestamptz not null
);

create index investigation_reading_by_investigation on investigation_reading (setting_id, investigation_id, on_day);

alter table photo alter column observation_id drop not null;
alter table photo add column reading_id uuid references investigation_reading;
alter table photo add check ((observation_id is null) <> (reading_id is null));
create index photo_by_reading on photo (setting_id, reading_id);
