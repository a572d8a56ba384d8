export const cloths = {
  'cloth-named.nylon-shell': 'Nylon shell',
  'cloth-named.real-hide': 'Real hide',
  'cloth-named.french-terry': 'French terry',
  'cloth-named.corduroy': 'Corduroy',
  'cloth-named.double-gauze': 'Double gauze',
  'cloth-named.stretch-denim': 'Stretch denim',
  'cloth-named.stretch-twill': 'Stretch twill',
  'cloth-named.faux-fur': 'Faux fur',
  'cloth-named.acrylic-felt': 'Acrylic felt',
} as const
