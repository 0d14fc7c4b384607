-- What runs in the background, as db-scheduler keeps it. Rows name ids only.
create table scheduled_tasks (
    task_name text not null check (length(task_name) <= 100),
    task_instance text not null check (length(task_instance) <= 200),
    task_data bytea check (length(task_data) <= 100000),
    execution_time timestamptz not null,
    picked boolean not null,
    picked_by text check (length(picked_by) <= 200),
    last_success timestamptz,
    last_failure timestamptz,
    consecutive_failures int,
    last_heartbeat timestamptz,
    version bigint not null,
    priority smallint,
    primary key (task_name, task_instance)
);

create index scheduled_tasks_by_turn on scheduled_tasks (priority desc, execution_time);
create index scheduled_tasks_by_heartbeat on scheduled_tasks (last_heartbeat);

-- One week at a time is proposed for a room.
update week_proposal set state = 'BROKEN_OFF' where state = 'RUNNING';
alter table week_proposal drop constraint week_proposal_state_check;
alter table week_proposal add column begun_at timestamptz;
alter table week_proposal add check (state in ('WAITING', 'RUNNING', 'READY', 'TAKEN', 'BROKEN_OFF'));
create unique index week_proposal_one_for_a_room on week_proposal (room_id) where state in ('WAITING', 'RUNNING');
