-- Backups and restore drills of this server, written by ./carder.
create table backup_run (
    id uuid primary key default gen_random_uuid(),
    at timestamptz not null default now(),
    kind text not null check (kind in ('BACKUP', 'DRILL')),
    bytes bigint not null check (bytes >= 0),
    seconds integer not null check (seconds >= 0)
);
create index backup_run_latest on backup_run (kind, at);
