/** The shelf: packs made, found, saved, frozen and taken off, between the controllers and the repositories. */
package rampart.server.packs;
