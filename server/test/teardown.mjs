export default async function teardown() {
  await globalThis.distaffDatabase.database.stop();
  globalThis.removeDistaffFolder();
}
