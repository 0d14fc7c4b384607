alter table provocation add column adult_load text not null default 'NEAR' check (adult_load in ('RUNS_BY_ITSELF', 'NEAR', 'HANDS_ON'));
alter table provocation alter column adult_load drop default;
