-- A second step at sign-in: the secret of an authenticator app, encrypted under a key that is not in the database. It counts once confirmed.
create table second_step (
    id uuid primary key references account,
    setting_id uuid not null references setting,
    version int not null,
    secret bytea not null,
    confirmed_at timestamptz,
    last_step bigint not null
);

-- For whoever has lost the app; each counts once, only hashes are here.
create table recovery_code (
    id uuid primary key,
    setting_id uuid not null references setting,
    account_id uuid not null references account,
    code_hash text not null,
    used_at timestamptz
);

create index recovery_code_by_account on recovery_code (account_id);

-- Whether a setting asks managers and leads for a second step; one row at most.
create table sign_in_policy (
    id uuid primary key references setting,
    setting_id uuid not null unique references setting,
    second_step boolean not null
);
