-- What was typed so far came from a form on which nobody could say "not asked": it is taken as asked.
alter table child
    add column allergies_asked boolean not null default true,
    add column care jsonb not null default '[]',
    add column medicine text not null default '',
    add column other_names varchar[] not null default '{}';

alter table child
    alter column allergies_asked drop default,
    alter column care drop default,
    alter column medicine drop default,
    alter column other_names drop default;
