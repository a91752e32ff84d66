import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // CropDialog
  widthWidthHeightHeight: '{width} der Breite und {height} der Höhe, ab {left} von links und {top} von oben.',
  cropPictureUse: 'Bild zuschneiden: {use}',
  cropPicture: 'Bild zuschneiden',
  onlyHereEverywhereElse: 'Nur hier. Überall sonst bleibt das Bild, wie es ist.',
  originalKeptCanUndo: 'Das Original bleibt erhalten; Sie können den Zuschnitt jederzeit rückgängig machen.',
  shape: 'Format',
  cropAreaArrowKeys: 'Ausschnitt. Pfeiltasten verschieben, Umschalt + Pfeile ändern die Größe.',
  placeArrowKeysMove: '{place} Pfeiltasten verschieben, Umschalt + Pfeile ändern die Größe.',
  applyCrop: 'Zuschneiden',
  removeCrop: 'Zuschnitt entfernen',

  // DropPlace
  dropPictures: 'Ziehen Sie Bilder hierher, oder <choose>wählen Sie Dateien</choose>',
  choosePictures: 'Bilder wählen',
  jpegPngWebpGif: 'JPEG, PNG, WebP, GIF oder SVG, je bis 20 MB. Ortsangaben werden entfernt.',

  // FocusPoint
  focalPointXFrom: 'Bildmittelpunkt: {x} von links, {y} von oben, von 100. Pfeiltasten verschieben ihn.',
  clickPartShouldAlways: 'Klicken Sie auf die Stelle, die immer sichtbar bleiben soll.',

  // PictureDetail
  deletePictureMeans: 'Es steht in keinem Beitrag. Es wird endgültig gelöscht.',
  deletePictureAsk: 'Dieses Bild löschen?',
  pictureReplacedEverywhere: 'Bild überall ersetzt.',
  aboutName: 'Über {name}',
  crop: 'Zuschneiden …',
  rotate: 'Drehen',
  descriptionAltText: 'Beschreibung (Alternativtext)',
  caption: 'Bildunterschrift',
  credit: 'Bildnachweis',
  whereUsed: 'Wo es verwendet wird',
  noPostYet: 'Noch in keinem Beitrag.',
  mainPicture: 'Hauptbild',
  inTheText: 'im Text',
  replace: 'Ersetzen …',
  chooseOtherPicture: 'Das andere Bild wählen',
  deletePicture: 'Bild löschen',

  // PictureGrid
  noDescription: 'Keine Beschreibung',
  usesPost: 'in {uses} Beitrag',
  usesPosts: 'in {uses} Beiträgen',
  unused: 'unbenutzt',

  // PicturePicker
  choosePicture: 'Bild wählen',
  searchPictures: 'Bilder suchen',
  addByAddress: 'Oder über eine Adresse hinzufügen',
  add: 'Hinzufügen',
  generateFromTitle: 'Aus dem Titel erzeugen',
  libraryEmpty: 'Die Bibliothek ist leer.',
  pickedSelectedOrder: '{picked} ausgewählt, in dieser Reihenfolge.',
  morePictures: 'Weitere Bilder',
  insertPicked: '{picked} einfügen',

  // PicturesView
  pictures: 'Bilder',
  picturesInAll: '{total, plural, one {# Bild} other {# Bilder}}.',
  picturesFound: '{total, plural, one {# Bild} other {# Bilder}} gefunden.',
  wordlessWithoutDescription: '{wordless} ohne Beschreibung.',
  withoutDescription: 'Ohne Beschreibung',
  unused2: 'Unbenutzt',
  readingLibrary: 'Bibliothek wird geladen …',
  noPicturesFound: 'Keine Bilder gefunden',
  libraryEmpty2: 'Die Bibliothek ist leer',
  tryOtherWords: 'Versuchen Sie andere Wörter.',
  dropPicturesAbovePosts: 'Ziehen Sie oben Bilder hinein; Beiträge aller Blogs der Website können sie verwenden.',

  // shapes
  socialPreview191: 'Vorschau in sozialen Netzwerken (1,91 : 1)',
  free: 'Frei',
  n169: '16 zu 9',
  n43: '4 zu 3',
  square: 'Quadrat',
  n34: '3 zu 4',

  // PicturesView
  filter: 'Filter',
}

export default de
