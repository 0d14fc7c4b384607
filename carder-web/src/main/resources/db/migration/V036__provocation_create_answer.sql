-- A line says by itself whether it is poured: its depth may be missing.
alter table provocation_material add column poured boolean not null default false;
update provocation_material set poured = true where depth_um is not null;
alter table provocation_material alter column poured drop default;

-- Only added to: the latest answer to a question counts, the earlier ones stay.
create table provocation_answer (
    id uuid primary key,
    setting_id uuid not null references setting,
    provocation_id uuid not null references provocation on delete cascade,
    question text not null check (length(question) between 1 and 4000),
    verdict text not null check (verdict in ('IS', 'IS_NOT')),
    because text not null,
    answered_by text not null check (length(answered_by) > 0),
    answered_on date not null,
    answered_at timestamptz not null
);

create index provocation_answer_by_card on provocation_answer (setting_id, provocation_id, answered_at);
