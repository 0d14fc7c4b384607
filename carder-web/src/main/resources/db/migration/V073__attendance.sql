-- From which day to which a child comes, and hours that differ by day of the week: {"FRIDAY": ["08:00", "12:00"]}, "" for the first or last session.
alter table child add column starts_on date;
alter table child add column ends_on date;
alter table child add check (ends_on >= starts_on);
alter table child add column other_hours jsonb not null default '{}';
alter table child alter column other_hours drop default;
-- Into which room it moves up, and when.
alter table child add column moves_to uuid references room;
alter table child add column moves_on date;
alter table child add check ((moves_to is null) = (moves_on is null));
-- Who may fetch it, and the word that they say.
alter table child add column may_fetch text not null default '' check (length(may_fetch) <= 500);
alter table child alter column may_fetch drop default;

alter table carer add column phone text not null default '' check (length(phone) <= 60);
alter table carer alter column phone drop default;

-- So long after a child was due it is asked after.
alter table setting add column ask_after_minutes int not null default 30 check (ask_after_minutes between 0 and 240);
alter table setting alter column ask_after_minutes drop default;

create table attendance (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    child_id uuid not null references child,
    on_day date not null,
    arrived_at time,
    left_at time,
    fetched_by text not null check (length(fetched_by) <= 120),
    away text check (length(away) <= 40),
    noted_by text not null check (length(noted_by) between 1 and 120),
    noted_at timestamptz not null,
    version int not null,
    unique (child_id, on_day),
    check (left_at is null or arrived_at is null or left_at >= arrived_at),
    check (away is null or (arrived_at is null and left_at is null))
);
create index attendance_of_day on attendance (setting_id, on_day);

create constraint trigger tell_change after insert or update or delete on attendance deferrable initially deferred
    for each row execute function tell_change('people');
create trigger keep_row after insert or update or delete on attendance for each row execute function keep_row();
