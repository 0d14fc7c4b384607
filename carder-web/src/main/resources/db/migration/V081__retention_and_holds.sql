-- For how many years a setting keeps what of a child that has left; kinds without a row go by the country's habit, without years by nothing.
create table retention_choice (
    setting_id uuid not null references setting,
    kind text not null,
    years int check (years between 0 and 99),
    primary key (setting_id, kind)
);

-- What stops records of a child from being erased, and where the family asked for it, from being used.
create table hold (
    id uuid primary key,
    setting_id uuid not null references setting,
    child_id uuid not null references child,
    kind text not null check (kind in ('LEGAL', 'RESTRICTED')),
    reason text not null check (length(reason) between 10 and 500),
    begun_at timestamptz not null,
    begun_by text not null check (length(begun_by) <= 200),
    ended_at timestamptz,
    ended_by text check (length(ended_by) <= 200),
    check ((ended_at is null) = (ended_by is null))
);
create index hold_of_child on hold (setting_id, child_id);
