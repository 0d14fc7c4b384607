-- What families said about each use of photos: who, when, to which words, and until when. Nothing is ever changed here; the last word of each counts.
create table consent_entry (
    id uuid primary key,
    setting_id uuid not null references setting,
    child_id uuid not null references child,
    photo_use text not null check (photo_use in ('OWN_JOURNAL', 'OTHERS_JOURNALS', 'DISPLAY')),
    given boolean not null,
    giver text not null check (length(giver) <= 200),
    carer_id uuid references carer,
    way text not null check (way in ('AT_HOME', 'ON_PAPER', 'ON_ENROLMENT', 'BEFORE')),
    asked_words text not null check (length(asked_words) <= 1000),
    on_day date,
    until_day date,
    noted_by text not null check (length(noted_by) <= 200),
    noted_at timestamptz not null
);
create index consent_entry_of on consent_entry (setting_id, child_id, noted_at);

alter table child add column own_journal_until date;
alter table child add column others_journals_until date;
alter table child add column display_until date;

-- What was ticked before dates were kept; nobody knows who said it.
insert into consent_entry
select gen_random_uuid(), setting_id, id, use, true, '', null, 'BEFORE', '', null, null, '', now()
from child cross join lateral (values ('OWN_JOURNAL', consent_own_journal), ('OTHERS_JOURNALS', consent_others_journals), ('DISPLAY', consent_display)) as was (use, ticked)
where was.ticked;
