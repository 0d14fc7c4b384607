create table setting (
    id uuid primary key,
    name text not null check (length(name) between 1 and 120),
    time_zone text not null,
    currency text not null check (length(currency) = 3),
    created_at timestamptz not null
);
