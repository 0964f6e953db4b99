/** Lists of what a house sends, as open CSV. */
package rampart.formats.parcel;
