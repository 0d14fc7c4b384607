alter table account
    add column closed_at timestamptz,
    add column cover_from date,
    add column cover_until date,
    add check ((cover_from is null) = (cover_until is null) and cover_from <= cover_until);

-- Every room that somebody works in; account.room_id stays the one that their pages open on.
create table account_room (
    account_id uuid not null references account,
    room_id uuid not null references room,
    primary key (account_id, room_id)
);

insert into account_room select id, room_id from account where room_id is not null;

-- A code that a manager hands over, with which its owner chooses a password. One at a time; only its hash is here.
create table password_code (
    id uuid primary key references account,
    setting_id uuid not null references setting,
    code_hash text not null,
    ends_at timestamptz not null,
    wrong_tries int not null
);

-- A browser that somebody has signed in with before: it keeps a budget of its own, so that a stranger cannot use up theirs.
create table known_browser (
    id uuid primary key,
    setting_id uuid not null references setting,
    account_id uuid not null references account,
    token_hash text not null,
    last_used_at timestamptz not null,
    unique (account_id, token_hash)
);

drop table sign_in_failure;

-- No setting_id: an address belongs to nobody. No row for a name that no account has.
create table sign_in_budget (
    subject text primary key,
    failures int not null,
    since timestamptz not null
);

create index sign_in_budget_by_since on sign_in_budget (since);

create table security_entry (
    id uuid primary key,
    setting_id uuid not null references setting,
    at timestamptz not null,
    event text not null,
    account_id uuid not null,
    person_name text not null,
    by_name text not null,
    address text not null
);

create index security_entry_by_setting on security_entry (setting_id, at desc);

-- Who is signed in is written differently from here on.
delete from spring_session;
