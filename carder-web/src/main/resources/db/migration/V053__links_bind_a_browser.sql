-- A link is opened once, in one browser. That browser then opens by itself, for all children whose links were opened in it, until it is ended.
create table home_browser (
    id uuid primary key,
    setting_id uuid not null references setting (id),
    token_hash text not null unique check (length(token_hash) <= 100),
    words text not null check (length(words) <= 80),
    bound_at timestamptz not null,
    seen_at timestamptz not null,
    ends_at timestamptz not null,
    ended_at timestamptz
);

create table home_reader (
    id uuid primary key,
    setting_id uuid not null references setting (id),
    browser_id uuid not null references home_browser (id),
    carer_id uuid not null references carer (id),
    since timestamptz not null,
    ended_at timestamptz
);

create index home_reader_by_browser on home_reader (setting_id, browser_id);
create index home_reader_by_carer on home_reader (setting_id, carer_id);

alter table invitation
    add column opened_at timestamptz,
    add column browser_id uuid references home_browser (id);
