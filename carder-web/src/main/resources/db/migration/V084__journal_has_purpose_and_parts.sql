-- A journal has a purpose and parts in an order; what is left out can come back, what is pinned stays when entries are picked anew.
alter table journal
    add purpose varchar(20) not null default 'TERM',
    add parts varchar(20)[] not null default '{GREETING,BUSY_WITH,AT_HOME}',
    add pages integer not null default 4,
    add about varchar(60) not null default '',
    add strengths text not null default '',
    add talked_over text not null default '',
    add talked_over_on date,
    add next_steps text not null default '',
    add from_home text not null default '',
    add over_time text not null default '';

alter table journal_entry
    add part varchar(20) not null default 'BUSY_WITH',
    add layout varchar(20),
    add pinned boolean not null default false,
    add left_out boolean not null default false,
    add pair_id uuid,
    drop column because;

-- The parts that a setting wants for a purpose, where they are not those that are proposed.
create table journal_parts (
    setting_id uuid not null references setting,
    purpose varchar(20) not null,
    parts varchar(20)[] not null,
    primary key (setting_id, purpose)
);
