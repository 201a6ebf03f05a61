-- What a probe and nine places showed of a press, and the day it was measured.

alter table press add column contact double precision;
alter table press add column contact_times double precision;
alter table press add column coldest_k double precision;
alter table press add column measured_on date;
