create table material (
    id uuid primary key,
    setting_id uuid not null references setting,
    code text not null,
    name text not null,
    pack_mg bigint check (pack_mg > 0),
    pack_price_minor bigint check (pack_price_minor >= 0),
    unique (setting_id, code),
    check ((pack_mg is null) = (pack_price_minor is null))
);
