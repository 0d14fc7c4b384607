create table occasion (
    id uuid primary key,
    setting_id uuid not null references setting,
    from_day date not null,
    until_day date not null,
    summary text not null check (length(summary) between 1 and 120),
    closes boolean not null,
    check (until_day >= from_day)
);

create index occasion_by_day on occasion (setting_id, from_day);
