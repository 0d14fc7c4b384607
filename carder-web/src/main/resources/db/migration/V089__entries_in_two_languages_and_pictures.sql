-- An entry beside itself in another language, told once a speaker has checked it; and how its card is set out, where there is no photo, as it
-- was on the day of the approval.
alter table journal_entry
    add translated_into varchar(35) not null default '',
    add translation text not null default '',
    add translated_by varchar(200) not null default '',
    add checked_by varchar(200) not null default '',
    add simple_words text not null default '',
    add set_up_box varchar(60) not null default '',
    add set_up_drawing text not null default '',
    add set_up_words text not null default '';

-- What was measured in the investigation that a project is about, as it was when the journal was made.
alter table journal add measured text not null default '';
