export {
  deliveryOf,
  deliverySchema,
  enquirySchema,
  offersFor,
  offersSchema,
  type Delivery,
  type Enquiry,
  type Offer,
} from './offers';
