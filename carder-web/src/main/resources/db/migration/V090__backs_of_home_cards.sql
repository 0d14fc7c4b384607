-- Staff write on the back of a card too; a photo with another child in it says so.
alter table home_answer
    add shows_others boolean not null default false,
    add staff_words text not null default '',
    add staff_words_by varchar(200) not null default '',
    add staff_words_at timestamptz;
