-- The language that somebody chose to be answered in, whichever browser they sign in with; null as the browser asks.
alter table account add column language varchar(8);
