export { type ShopFactor, shopFactor, type Weighed } from './shopFactor'
