-- When the journals of a room are due.
create table journal_rhythm (
    room_id uuid primary key references room,
    setting_id uuid not null references setting,
    first_on date not null,
    every_weeks integer not null check (every_weeks between 0 and 26)
);

-- A family to which nothing is sent for a while: after a death, while it is away. Without a last day until somebody ends it.
create table journal_pause (
    id uuid primary key,
    child_id uuid not null unique references child,
    setting_id uuid not null references setting,
    until_day date,
    reason varchar(300) not null,
    set_by varchar(200) not null,
    set_at timestamptz not null
);

-- Whether families see what is planned for their child's room this week.
alter table setting add shares_week boolean not null default false;
