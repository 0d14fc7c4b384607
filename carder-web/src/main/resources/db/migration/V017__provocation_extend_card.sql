alter table provocation add column words text not null default '';
alter table provocation add column place text not null default '';
alter table provocation add column features varchar[] not null default '{}';
alter table provocation add column units text not null default 'METRIC' check (units in ('METRIC', 'HOUSEHOLD'));
alter table provocation add column vessel_ul bigint check (vessel_ul > 0);
alter table provocation add column inner_shape text;
alter table provocation add column inner_first_um bigint check (inner_first_um > 0);
alter table provocation add column inner_second_um bigint check (inner_second_um > 0);
alter table provocation add column inner_depth_um bigint check (inner_depth_um > 0);
alter table provocation add column inner_ul bigint check (inner_ul > 0);
alter table provocation add column vessels int not null default 1 check (vessels between 1 and 100);
alter table provocation add column spill_percent int not null default 0 check (spill_percent between 0 and 100);
alter table provocation add column children int not null default 4 check (children between 1 and 1000);
alter table provocation add column sessions_per_fill int not null default 1 check (sessions_per_fill between 1 and 1000);
alter table provocation add column sessions_per_year int not null default 1 check (sessions_per_year between 1 and 2000);
-- The Monday of the week that the card is planned for.
alter table provocation add column week_of date check (extract(isodow from week_of) = 1);
alter table provocation add column kit_id uuid references kit;

create index provocation_by_week on provocation (setting_id, week_of);

create table provocation_rung (
    id uuid primary key,
    setting_id uuid not null references setting,
    provocation_id uuid not null references provocation on delete cascade,
    rung text not null check (rung in ('SIMPLER', 'AS_IS', 'HARDER', 'OTHER_MATERIAL', 'REAL_LIFE')),
    sign text not null,
    note text not null,
    amount_percent int not null check (amount_percent between 10 and 400),
    replaced_id uuid references material,
    replacement_id uuid references material,
    unique (provocation_id, rung)
);

create table provocation_step (
    id uuid primary key,
    setting_id uuid not null references setting,
    provocation_id uuid not null references provocation on delete cascade,
    position int not null,
    name text not null check (length(name) between 1 and 120),
    hands_on_minutes int not null check (hands_on_minutes between 1 and 720),
    waiting_minutes int not null check (waiting_minutes between 0 and 43200),
    done_by text not null check (done_by in ('ADULT', 'CHILDREN')),
    turns int not null check (turns between 1 and 60),
    after_positions integer[] not null,
    unique (provocation_id, position)
);

-- A reckoning that belongs to a card: the tool, and what was typed into it. It is reckoned anew at each opening.
create table provocation_reckoning (
    id uuid primary key,
    setting_id uuid not null references setting,
    provocation_id uuid not null references provocation on delete cascade,
    position int not null,
    tool text not null,
    inputs jsonb not null
);

create index provocation_reckoning_by_card on provocation_reckoning (provocation_id);
