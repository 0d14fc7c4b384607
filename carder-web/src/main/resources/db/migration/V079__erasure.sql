-- That somebody's records were erased, by whom and why; never whose they were.
create table erasure (
    id uuid primary key,
    setting_id uuid not null references setting,
    erased_at timestamptz not null,
    erased_by text not null check (length(erased_by) <= 200),
    reason text not null check (length(reason) between 10 and 500),
    went jsonb not null,
    files integer not null check (files >= 0),
    replaced integer not null check (replaced >= 0),
    left_standing integer not null check (left_standing >= 0)
);
create index erasure_of on erasure (setting_id, erased_at);
