#include "app/places.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>

namespace ink::app {
namespace {

/// From where this program lies; both ways are relative, so that what was installed can be moved.
QString found(const QString& installed, const QString& built)
{
    const QDir here(QCoreApplication::applicationDirPath());
    if (QFileInfo::exists(here.filePath(installed)))
        return here.filePath(installed);
    // Only a program that lies where it was built looks into its tree.
    const bool is_built_here = QFileInfo::exists(here.filePath(QStringLiteral("cmake_install.cmake")));
    return is_built_here && QFileInfo::exists(here.filePath(built)) ? here.filePath(built) : QString();
}

} // namespace

QString demoFonts()
{
    return found(QStringLiteral(INK_INSTALLED_DEMO "/fonts"), QStringLiteral(INK_TREE_DEMO "/fonts"));
}

QString demoCatalogue()
{
    return found(QStringLiteral(INK_INSTALLED_DEMO "/catalogue"), QStringLiteral(INK_TREE_DEMO "/catalogue"));
}

QString handbook()
{
    return found(QStringLiteral(INK_INSTALLED_HANDBOOK), QStringLiteral(INK_TREE_DEMO "/../docs/handbook"));
}

QString standIn(const QString& name)
{
    return found(QStringLiteral(INK_INSTALLED_STANDINS "/") + name, QStringLiteral("../") + name);
}

} // namespace ink::app
