-- The journals of a room, made in one go. Which of them belongs to it is kept with the journal, without a reference: an archive takes a
-- journal to another place without it.
create table journal_round (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    purpose varchar(20) not null,
    starts_on date not null,
    ends_on date not null,
    pages integer not null,
    language varchar(35) not null,
    asked_by varchar(200) not null,
    asked_at timestamptz not null,
    looked_at integer not null default 0,
    children integer not null,
    stop_wanted boolean not null default false,
    ended boolean not null default false
);
create index journal_round_of_room on journal_round (setting_id, room_id, asked_at desc);

alter table journal
    add round_id uuid,
    add read_by varchar(200),
    add remark text not null default '',
    add remark_by varchar(200) not null default '',
    add near_answered text[] not null default '{}';
create index journal_of_child_latest on journal (setting_id, child_id, compiled_at desc);
