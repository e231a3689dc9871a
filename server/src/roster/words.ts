/** Short words that children can read and spell, no two alike; a phrase to begin with has four of them. */
export const WORDS: readonly string[] =
  `apple arrow attic badge bagel balloon banana barn basket beach bean bear beaver bell bench berry bike
bird blanket boat bone book boot bottle bowl branch bread bridge broom brush bubble bucket bundle button
cabin cactus camel camp candle canoe carpet carrot castle cedar chair chalk cheese cherry chest chimney
circle clay cliff clock cloud clover coast coat cocoa comet compass cookie copper coral cotton cradle
crane crayon creek cricket crown cup curtain daisy dance dawn deer desk dish dolphin donkey door dragon
drawer drum duck eagle earth echo elbow engine fairy falcon farm feather fence fern fiddle field finger
fire fish flag flame flock flower flute fog forest fountain fox frame frog garden gate ginger glacier
glove goat goose grape grass gravel guitar hammer harbour harvest hat hazel heart hedge helmet hen hill
honey hood horn horse house igloo island ivy jacket jam jar jelly jewel jungle kettle key kitchen kite
kitten ladder lake lamp lantern leaf lemon letter lily lion lizard log lunch maple marble market meadow
melon milk mill mirror mitten moon moss moth mountain mouse mug music nail napkin needle nest night nut
oak ocean olive onion orchid otter owl paddle paint palm panda paper parrot path peach pear pebble pencil
penguin pepper piano picnic pillow pilot pine planet plate plum pocket pond pony potato puddle pumpkin
puppet puzzle rabbit radio rain raven ribbon rice river road robin rocket roof rope rose saddle sail
salad salt sand scarf school sea seal shadow sheep shell ship shirt shoe silver skate sky sled snail
snow soap sofa song soup spider spoon spring squash stable star stone storm story straw stream street
summer sun swan sweater table tail teapot tent thimble thunder tiger toast tomato torch tower train
tree trumpet tulip tunnel turtle umbrella valley vase velvet village violin wagon wall walnut water
wave whale wheat wheel whistle willow wind window winter wolf wood wool yard zebra`.split(/\s+/);
