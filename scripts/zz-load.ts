import { startApp } from "../e2e/running-app";
const app = await startApp();
console.log(app.url);
process.on("SIGTERM", () => void app.close().then(() => process.exit(0)));
setInterval(() => {}, 1000);
