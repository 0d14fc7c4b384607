-- An address for a calendar program ends after a year, and leaves children's names out unless its owner chose otherwise.
alter table calendar_feed
    add column ends_at timestamptz,
    add column with_names boolean not null default false;

update calendar_feed set ends_at = made_at + interval '365 days';

alter table calendar_feed alter column ends_at set not null;
