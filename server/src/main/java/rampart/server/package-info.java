/** The web application: controllers that only translate, repositories that hold the SQL, sign-in and roles. */
package rampart.server;
