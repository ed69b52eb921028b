/** Making a version public: rendered whole, stored by content, switched in one transaction. */
package ostium.app.publishing;
