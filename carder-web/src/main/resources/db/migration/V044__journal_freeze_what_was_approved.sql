-- What the family was shown stays as it was approved: the framework that the marks are of, and the marks.
alter table journal add column framework_code text;
alter table journal add column settled varchar[] not null default '{}';
alter table journal_entry add column areas varchar[];

update journal j set framework_code = (
    select r.framework_code from child c join room r on r.id = c.room_id where c.id = j.child_id)
where approved_at is not null;

update journal_entry e set areas = o.areas
from observation o, journal j
where o.id = e.observation_id and j.id = e.journal_id and j.approved_at is not null;

create index reply_by_journal on reply (setting_id, journal_id);
create index observation_by_card on observation (setting_id, provocation_id, observed_at desc);
create index set_out_by_card on set_out (setting_id, provocation_id, on_day);

-- Counts every change of words, order or entries, so that each is another version.
alter table journal add column wordings int not null default 0;
