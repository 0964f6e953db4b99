/** Carton styles and blanks, their strength, and what their board grade allows. */
package rampart.core.box;
