-- In the private cluster: the role that the application uses, and its database.
select 'create role shop login' where not exists (select from pg_roles where rolname = 'shop') \gexec
alter role shop nosuperuser nocreatedb nocreaterole noreplication password :'password';
select 'create database kettle owner shop' where not exists (select from pg_database where datname = 'kettle') \gexec
alter database kettle owner to shop;
revoke all on database kettle from public;
revoke all on database postgres from public;
revoke all on database template1 from public;
