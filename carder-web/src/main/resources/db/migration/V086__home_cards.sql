-- A card that goes home with a child, to one of its carers (nobody any more once that carer is erased), in the words that it had on that day; on its back what happened. What may be a
-- disclosure is held apart: nobody but a manager reads it then.
create table home_card (
    id uuid primary key,
    setting_id uuid not null references setting,
    child_id uuid not null references child,
    carer_id uuid references carer,
    code varchar(40) not null,
    title text not null check (length(title) between 1 and 200),
    what_with text not null,
    to_try text not null,
    might_see text not null,
    say text not null,
    care text not null,
    sent_by varchar(200) not null,
    sent_at timestamptz not null
);
create index home_card_of_child on home_card (setting_id, child_id, sent_at desc);
create index home_card_of_carer on home_card (setting_id, carer_id, sent_at desc);

create table home_answer (
    id uuid primary key,
    setting_id uuid not null references setting,
    home_card_id uuid not null references home_card,
    child_id uuid not null references child,
    carer_id uuid references carer,
    carer_name varchar(200) not null,
    words text not null,
    sent_at timestamptz not null,
    seen_by varchar(200) not null default '',
    observation_id uuid,
    apart_by varchar(200) not null default ''
);
create index home_answer_of_card on home_answer (setting_id, home_card_id, sent_at);
create index home_answer_of_child on home_answer (setting_id, child_id, sent_at desc);

alter table photo add column home_answer_id uuid references home_answer;
create index photo_of_home_answer on photo (home_answer_id) where home_answer_id is not null;
alter table photo drop constraint photo_of_one_thing;
alter table photo add constraint photo_of_one_thing
    check (num_nonnulls(observation_id, reading_id, card_id, material_id, home_answer_id) = 1);
