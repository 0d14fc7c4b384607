-- The table that Spring Security's repository of passkeys reads and writes; user_entity_user_id is the handle of an account.
create table user_credentials (
    credential_id varchar(1000) primary key,
    user_entity_user_id varchar(1000) not null,
    public_key bytea not null,
    signature_count bigint,
    uv_initialized boolean,
    backup_eligible boolean not null,
    authenticator_transports varchar(1000),
    public_key_credential_type varchar(100),
    backup_state boolean not null,
    attestation_object bytea,
    attestation_client_data_json bytea,
    created timestamp,
    last_used timestamp,
    label varchar(1000) not null
);

create index user_credentials_by_account on user_credentials (user_entity_user_id);
