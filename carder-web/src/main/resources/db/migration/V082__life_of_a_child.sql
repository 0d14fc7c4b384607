-- Names that are not to be shown any more: the guard of names alone knows them.
alter table child add column former_names text[] not null default '{}';
alter table child add column died_on date;

-- What a carer is to the child, and which home they belong to where there are two.
alter table carer add column responsibility text not null default 'NOT_ASKED' check (responsibility in ('HAS', 'NONE', 'NOT_ASKED'));
alter table carer add column fosters boolean not null default false;
alter table carer add column home text not null default '' check (length(home) <= 60);

-- A message that waited and was stopped before it went.
alter table message drop constraint message_standing_check;
alter table message add constraint message_standing_check
    check (standing in ('WAITING', 'ACCEPTED', 'REFUSED', 'GIVEN_UP', 'RETURNED', 'STOPPED'));
