create table rule_seen (
    code text primary key,
    fingerprint text not null,
    change text not null check (change in ('FIRST', 'NEW', 'CHANGED', 'GONE')),
    changed_on date not null
);
