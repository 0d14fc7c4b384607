-- From which browser, in a few words, a record was opened.
alter table access_entry add column browser text not null default '' check (length(browser) <= 60);
