export default {
  // CropDialog
  widthWidthHeightHeight: '{width} of the width and {height} of the height, from {left} across and {top} down.',
  cropPictureUse: 'Crop picture: {use}',
  cropPicture: 'Crop picture',
  onlyHereEverywhereElse: 'Only here. Everywhere else the picture stays as it is.',
  originalKeptCanUndo: 'The original is kept; you can undo the crop at any time.',
  shape: 'Shape',
  cropAreaArrowKeys: 'Crop area. Arrow keys move, Shift + arrows resize.',
  placeArrowKeysMove: '{place} Arrow keys move, Shift + arrows resize.',
  applyCrop: 'Apply crop',
  removeCrop: 'Remove crop',

  // DropPlace
  dropPictures: 'Drop pictures here, or <choose>choose files</choose>',
  choosePictures: 'Choose pictures',
  jpegPngWebpGif: 'JPEG, PNG, WebP, GIF or SVG, up to 20 MB each. Location data is removed.',

  // FocusPoint
  focalPointXFrom: 'Focal point: {x} from the left, {y} from the top, of 100. Arrow keys move it.',
  clickPartShouldAlways: 'Click the part that should always stay visible.',

  // PictureDetail
  deletePictureMeans: 'It is in no post. It is deleted permanently.',
  deletePictureAsk: 'Delete this picture?',
  pictureReplacedEverywhere: 'Picture replaced everywhere.',
  aboutName: 'About {name}',
  crop: 'Crop …',
  rotate: 'Rotate',
  descriptionAltText: 'Description (alt text)',
  caption: 'Caption',
  credit: 'Credit',
  whereUsed: 'Where it is used',
  noPostYet: 'In no post yet.',
  mainPicture: 'main picture',
  inTheText: 'in the text',
  replace: 'Replace …',
  chooseOtherPicture: 'Choose the other picture',
  deletePicture: 'Delete picture',

  // PictureGrid
  noDescription: 'No description',
  usesPost: 'in {uses} post',
  usesPosts: 'in {uses} posts',
  unused: 'unused',

  // PicturePicker
  choosePicture: 'Choose a picture',
  searchPictures: 'Search pictures',
  addByAddress: 'Or add by address',
  add: 'Add',
  generateFromTitle: 'Generate from title',
  libraryEmpty: 'The library is empty.',
  pickedSelectedOrder: '{picked} selected, in this order.',
  morePictures: 'More pictures',
  insertPicked: 'Insert {picked}',

  // PicturesView
  pictures: 'Pictures',
  picturesInAll: '{total, plural, one {# picture} other {# pictures}}.',
  picturesFound: '{total, plural, one {# picture} other {# pictures}} found.',
  wordlessWithoutDescription: '{wordless} without description.',
  withoutDescription: 'Without description',
  unused2: 'Unused',
  readingLibrary: 'Reading the library …',
  noPicturesFound: 'No pictures found',
  libraryEmpty2: 'The library is empty',
  tryOtherWords: 'Try other words.',
  dropPicturesAbovePosts: 'Drop pictures above; posts of every blog of the site can use them.',

  // shapes
  socialPreview191: 'Social preview (1.91 : 1)',
  free: 'Free',
  n169: '16 to 9',
  n43: '4 to 3',
  square: 'Square',
  n34: '3 to 4',

  // PicturesView
  filter: 'Filter',
} as const
