/** The demo: its accounts, its packs, and the file that tells scripts how to use them. */
package rampart.server.demo;
