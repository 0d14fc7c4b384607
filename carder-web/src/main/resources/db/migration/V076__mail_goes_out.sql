-- A message waits, is taken by a mail server, is refused by it, or is given up; written_at is when it was written.
alter table message rename column sent_at to written_at;
alter table message add column standing text not null default 'WAITING' check (standing in ('WAITING', 'ACCEPTED', 'REFUSED', 'GIVEN_UP', 'RETURNED'));
alter table message add column tries integer not null default 0 check (tries >= 0);
alter table message add column next_try_at timestamptz;
alter table message add column asked_at timestamptz;
alter table message add column settled_at timestamptz;
alter table message add column answer text not null default '' check (length(answer) <= 500);
update message set next_try_at = written_at, asked_at = written_at;
-- What waits for the end of a transaction would keep the table from being altered.
set constraints all immediate;
alter table message alter column next_try_at set not null;
alter table message alter column asked_at set not null;
alter table message alter column standing drop default;
alter table message alter column tries drop default;
alter table message alter column answer drop default;
create index message_due on message (next_try_at) where standing = 'WAITING';
create index message_failed on message (setting_id, room_id) where standing in ('REFUSED', 'GIVEN_UP', 'RETURNED');

-- When no mail goes out to families; a setting without a row has the usual hours, one with two nulls has none.
create table mail_hours (
    id uuid primary key,
    setting_id uuid not null unique references setting,
    quiet_from time,
    quiet_until time,
    check ((quiet_from is null) = (quiet_until is null) and quiet_from <> quiet_until)
);

-- What was written back before has been read long ago.
alter table reply add column seen_at timestamptz;
alter table reply add column seen_by text not null default '' check (length(seen_by) <= 200);
update reply set seen_at = sent_at;
set constraints all immediate;
alter table reply alter column seen_by drop default;
create index reply_unseen on reply (setting_id) where seen_at is null;

-- Whoever wants to be told once a day, and the day on which they were told last.
alter table account add column digest_address text not null default '' check (length(digest_address) <= 254);
alter table account add column digest_on date;
alter table account alter column digest_address drop default;

-- A journal that was read together with a carer.
create table read_together (
    id uuid primary key,
    setting_id uuid not null references setting,
    journal_id uuid not null references journal,
    carer_id uuid not null references carer,
    on_day date not null,
    noted_by text not null check (length(noted_by) <= 200),
    noted_at timestamptz not null
);
create index read_together_of on read_together (setting_id, journal_id);
