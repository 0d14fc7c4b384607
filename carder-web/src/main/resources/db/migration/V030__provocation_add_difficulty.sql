alter table provocation add column difficulty int check (difficulty between 1 and 5);
