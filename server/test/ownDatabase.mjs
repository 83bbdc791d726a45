// Two workers of Jest never meet in one database.
const url = new URL(process.env.TEST_DATABASE_URL);
url.pathname = `/distaff_${process.env.JEST_WORKER_ID}`;
process.env.TEST_DATABASE_URL = url.href;
