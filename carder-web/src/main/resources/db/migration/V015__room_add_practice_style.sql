alter table room add column practice_style text not null default 'FREE_FLOW' check (
    practice_style in ('PREPARED_ENVIRONMENT', 'THEMED_CENTRES', 'FREE_FLOW', 'HOME_MIXED_AGE', 'ADULT_LED_GAMES'));
alter table room alter column practice_style drop default;
