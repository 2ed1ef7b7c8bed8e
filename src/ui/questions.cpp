#include "ui/questions.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QLineEdit>
#include <QLocale>
#include <QMessageBox>
#include <QPushButton>
#include <QStandardPaths>
#include <QtPrintSupport/QPrintDialog>
#include <QtPrintSupport/QPrinter>

namespace ink::ui {

QString askWhereTo(QWidget* parent, const QString& title, const QString& suggested, const QString& filter)
{
    const QString ending = QLatin1Char('.') + QFileInfo(suggested).suffix();
    QFileDialog dialog(parent, title, QFileInfo(suggested).absolutePath(), filter);
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    // The ending belongs to the name before the dialog asks whether to replace a file.
    dialog.setDefaultSuffix(ending.mid(1));
    dialog.selectFile(QFileInfo(suggested).fileName());
    while (dialog.exec() == QDialog::Accepted) {
        const QString path = dialog.selectedFiles().value(0);
        if (path.endsWith(ending, Qt::CaseInsensitive))
            return path;
        // "Ottilie 1.2" has no ending yet, and "Ottilie.dxf" would name a picture wrongly.
        if (!QFileInfo::exists(path + ending))
            return path + ending;
        dialog.selectFile(QFileInfo(path + ending).fileName()); // so that the dialog asks
    }
    return {};
}

RightsQuestions RightsQuestions::asDialogs()
{
    return {
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(parent, QObject::tr("Attach a receipt or a permission"));
        },
        [](QWidget* parent, const QString& suggested) {
            return QFileDialog::getSaveFileName(parent, QObject::tr("Save the letter"), suggested);
        },
        [](const QUrl& mail) { QDesktopServices::openUrl(mail); },
    };
}

Questions Questions::asDialogs()
{
    return {
        [](QWidget* parent, const QString& suggested) {
            const QString suffix = QFileInfo(suggested).suffix();
            return askWhereTo(parent, QObject::tr("Save for your machine"), suggested,
                              QStringLiteral("%1 (*.%2)").arg(suffix.toUpper(), suffix));
        },
        [](QWidget* parent) {
            return QFileDialog::getExistingDirectory(parent, QObject::tr("Open a folder with fonts"));
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(
                parent, QObject::tr("Open a package"), {},
                QObject::tr("Packages and fonts (*.zip *.7z *.rar *.tar *.gz *.ttf *.otf *.ttc *.woff "
                            "*.woff2);;All files (*)"));
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(parent, QObject::tr("Open a job"), {},
                                                QObject::tr("Jobs (*.uink)"));
        },
        [](QWidget* parent, const QString& suggested) {
            return askWhereTo(parent, QObject::tr("Save the job"), suggested, QObject::tr("Jobs (*.uink)"));
        },
        [](QWidget* parent) {
            return QInputDialog::getText(parent, QObject::tr("Save as a template"),
                                         QObject::tr("Name of the template"));
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(parent, QObject::tr("Outlines from a picture"), {},
                                                QObject::tr("SVG (*.svg *.svgz)"));
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(parent, QObject::tr("A picture of lettering"), {},
                                                QObject::tr("Pictures (*.png *.jpg *.jpeg *.webp)"));
        },
        RightsQuestions::asDialogs(),
        ShelfQuestions::asDialogs(),
        [](QWidget* parent, const QStringList& fonts) {
            QMessageBox question(
                QMessageBox::NoIcon, QObject::tr("Under Ink"),
                QObject::tr("%n font(s) were installed for this job only: %1. Take them away "
                            "from your other programs now?",
                            nullptr, static_cast<int>(fonts.size()))
                    .arg(QLocale().createSeparatedList(fonts)),
                QMessageBox::NoButton, parent);
            auto* away = question.addButton(QObject::tr("Take away"), QMessageBox::AcceptRole);
            question.addButton(QObject::tr("Leave installed for good"), QMessageBox::RejectRole);
            question.setDefaultButton(away);
            question.exec();
            return question.clickedButton() == away;
        },
        [](QWidget* parent, const QString& what, const QString& yes) {
            QMessageBox question(QMessageBox::NoIcon, QObject::tr("Under Ink"), what, QMessageBox::NoButton,
                                 parent);
            auto* agreed = question.addButton(yes, QMessageBox::AcceptRole);
            question.setDefaultButton(question.addButton(QObject::tr("Leave it"), QMessageBox::RejectRole));
            question.exec();
            return question.clickedButton() == agreed;
        },
        [](QWidget* parent, const QString& verdict) -> std::optional<QString> {
            bool is_said = false;
            const QString ground =
                QInputDialog::getText(parent, QObject::tr("Handed off for sale"),
                                      QObject::tr("The font says: %1. On what ground do you sell it? It is "
                                                  "written down beside the font, once.")
                                          .arg(verdict),
                                      QLineEdit::Normal, {}, &is_said);
            return is_said && !ground.trimmed().isEmpty() ? std::optional(ground.trimmed()) : std::nullopt;
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(parent, QObject::tr("Read a list of names"), {},
                                                QObject::tr("Lists (*.csv *.tsv *.txt);;All files (*)"));
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(parent, QObject::tr("Look into a stitch file"), {},
                                                QObject::tr("Stitches (*.dst *.DST *.exp *.EXP)"));
        },
        [](QWidget* parent) -> std::shared_ptr<QPrinter> {
            auto chosen = std::make_shared<QPrinter>(QPrinter::HighResolution);
            QPrintDialog dialog(chosen.get(), parent);
            return dialog.exec() == QDialog::Accepted ? chosen : nullptr;
        },
        QStandardPaths::writableLocation(QStandardPaths::DownloadLocation),
    };
}

} // namespace ink::ui
