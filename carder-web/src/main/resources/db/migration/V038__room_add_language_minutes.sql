alter table room_session add column language_minutes int check (language_minutes between 1 and 1440);
