-- The last day on which a carer may read; whoever is shut out at once has yesterday.
alter table carer add column reads_until date;
-- A court order or a wish of the family, seen before anything is sent.
alter table child add column before_sending text not null default '' check (length(before_sending) <= 500);
alter table child alter column before_sending drop default;
