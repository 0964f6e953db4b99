/** The page to work from as a PDF file, with real text and drawings to scale. */
package rampart.formats.paper;
