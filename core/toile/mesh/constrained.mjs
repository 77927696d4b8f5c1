// The library is published with its TypeScript source as its types, which stricter settings than its own refuse; so it is entered here.
export { default } from "@kninnug/constrainautor";
